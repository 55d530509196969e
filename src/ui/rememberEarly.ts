/**
 * Script of a page's first line: remembers what is typed and pressed before React listens, and keeps forms from being sent
 * without it (useEarlyInput does both again). A press is remembered once it has gone through the page: where React took it on
 * its way, by hydrating what was pressed, its marks stand on the element.
 */
export const REMEMBER_EARLY = `early={typed:new Map,pressed:new Set};
addEventListener('input',({target:t})=>window.early?.typed.set(t,t.value),true);
addEventListener('submit',e=>window.early&&e.preventDefault(),true);
['click','submit'].forEach(w=>addEventListener(w,({target:t})=>{const n=window.early;
if(n&&!Object.keys(t).some(k=>/^__reactProps/.test(k))){n.pressed.delete(t);n.pressed.add(t)}}))`
