import { Fragment } from 'react'

/** A part number that breaks behind its slash when it must, never between two digits. */
export function PartNumber({ text }: { text: string }) {
  return text.split('/').map((piece, i) => (
    <Fragment key={i}>
      {i > 0 && (
        <>
          /<wbr />
        </>
      )}
      {piece}
    </Fragment>
  ))
}
