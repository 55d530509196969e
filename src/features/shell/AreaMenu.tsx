'use client'

import dynamic from 'next/dynamic'
import { useEffect, useState } from 'react'
import { MenuButton } from './MenuButton'

const loadList = () => import('./AreaMenuList').then(({ AreaMenuList }) => AreaMenuList)
const AreaMenuList = dynamic(loadList, { loading: () => <MenuButton aria-expanded /> })

/** From everywhere to everywhere: the screens by area. Its list is loaded beside the page. */
export function AreaMenu() {
  const [isRequested, setRequested] = useState(false)
  useEffect(() => {
    void loadList()
  }, [])
  return isRequested ? (
    <AreaMenuList />
  ) : (
    <MenuButton
      aria-expanded={false}
      onClick={() => setRequested(true)}
      onKeyDown={({ key }) => {
        if (key === 'ArrowDown') setRequested(true)
      }}
    />
  )
}
