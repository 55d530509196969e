let count = 0

/** A name that no other run has used, in letters: figures might be read as the number of a bearing. */
export const mark = (): string =>
  `${process.pid}${Date.now()}${count++}`.replace(/\d/g, (figure) => 'abcdefghij'.charAt(Number(figure)))
