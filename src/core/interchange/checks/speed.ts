import type { CheckRule } from '../check'

/** Speed limit of two contact seals as a share of the open type (handbook value from memory). */
const CONTACT_SEAL_SHARE = 0.6

/** Contact seals rub: they cost speed and friction. */
export const speed: CheckRule = (from, to, application) => {
  const rubs = to.closure.type === 'contactSeal' && from.closure.type !== 'contactSeal'
  if (!rubs) return null
  const limit = `Contact seals limit speed to about ${CONTACT_SEAL_SHARE} of the open type and turn a little stiffer`
  if (application.speed === 'slow')
    return { check: 'speed', result: 'pass', detail: `${limit}: no matter on a slow wheel.` }
  const condition =
    application.speed === 'fast'
      ? 'check the speed limit, or take a low-friction seal or shields'
      : 'right where it turns slowly'
  return { check: 'speed', result: 'warn', detail: `${limit}: ${condition}.` }
}
