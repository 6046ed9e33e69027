/**
 * What somebody at a desk would stumble over: bars to scroll sideways by, words that are cut off, units in
 * capitals (µm would read as MM), what hangs below a window that cannot be scrolled. Runs in the page.
 */
export function deskFaults(): string[] {
  const faults: string[] = [];
  const scrolls = (e: Element, way: 'overflowX' | 'overflowY') =>
    /auto|scroll/.test(getComputedStyle(e)[way]);
  const inScroller = (e: Element): boolean => {
    for (let at = e.parentElement; at; at = at.parentElement) if (scrolls(at, 'overflowY')) return true;
    return false;
  };
  const still = document.documentElement.scrollHeight <= window.innerHeight + 2;
  const own = (e: Element) =>
    [...e.childNodes].flatMap((n) => (n.nodeType === Node.TEXT_NODE ? [n.nodeValue ?? ''] : [])).join('');
  for (const e of document.querySelectorAll('body *:not(script, style)')) {
    const box = e.getBoundingClientRect();
    // A cell of a grid shows the whole of its text when it is entered.
    if (!box.width || !box.height || e.closest('[role="grid"], [aria-hidden="true"], .katex')) continue;
    const style = getComputedStyle(e);
    const said = own(e).trim().slice(0, 40);
    // A long formula is gone along; all else has room.
    if (scrolls(e, 'overflowX') && e.scrollWidth > e.clientWidth + 1 && !e.querySelector('.katex'))
      faults.push(`scrolls sideways: ${e.tagName} ${e.className} ${e.textContent.slice(0, 40)}`);
    if (style.textOverflow === 'ellipsis' && said && e.scrollWidth > e.clientWidth + 1)
      faults.push(`cut off: ${said}`);
    if (style.textTransform === 'uppercase' && /\d ?(?:[µm]?m|kg|rpm|N)\b|[µ°]/.test(own(e)))
      faults.push(`a unit in capitals: ${said}`);
    if (still && said && box.bottom > window.innerHeight + 2 && !inScroller(e))
      faults.push(`hangs out: ${said}`);
  }
  return faults;
}
