import { QueryTypes } from 'sequelize'
import { database } from '../connection'
import { likeText } from '../likeText'

/** Jobs looked through for a text, the one changed last first, before the index of words is asked: a few, then more. */
const LOOKED_THROUGH = [200, 1000]
/** Words shorter than this are not in the index (InnoDB, innodb_ft_min_token_size). */
const MIN_INDEXED = 3
/** Nor are these (InnoDB, default list of stop words). */
const STOP_WORDS = new Set(
  'about are com for from how that the this was what when where who will with und www'.split(' '),
)

export interface JobSearch {
  /** words that must all begin words of one field: title, machine or a decided number */
  text: string
  open: boolean
  /** continue after this one: its last change and number */
  after?: { updatedAt: Date; id: number } | undefined
  limit: number
}

const wordsOf = (text: string): string[] => text.match(/[\p{L}\p{N}]+/gu) ?? []

/** A word at the beginning of a word, as the database's regular expressions (PCRE) say it. */
const begins = (word: string): string => `(?i)(?<![\\p{L}\\p{N}])${word}`

interface Query {
  sql: string
  values: unknown[]
}

/** All words in one field. The plain comparison first: it is fast, and leaves few to the expression. */
const inField = (field: string, words: readonly string[]): Query => ({
  sql: `(${words.map(() => `${field} LIKE ? AND ${field} REGEXP ?`).join(' AND ')})`,
  values: words.flatMap((word) => [likeText(word), begins(word)]),
})

function condition(text: string, words: readonly string[]): Query {
  const [title, machine, number] = [
    inField('j.title', words),
    inField('m.name', words),
    inField('b.designation', words),
  ]
  const id = /^\d{1,9}$/.test(text) ? Number(text) : 0
  return {
    sql: `(${title.sql} OR ${machine.sql} OR j.id = ?
      OR EXISTS (SELECT 1 FROM bearings b WHERE b.job_id = j.id AND ${number.sql}))`,
    values: [...title.values, ...machine.values, id, ...number.values],
  }
}

async function ids(sql: string, replacements: unknown[]): Promise<number[]> {
  const rows = await database().query<{ id: number }>(sql, { replacements, type: QueryTypes.SELECT })
  return rows.map(({ id }) => id)
}

/**
 * Numbers of the jobs a text finds, the one changed last first. The latest jobs are looked through; what is rarer than a page of
 * those is found by the index of words.
 */
export async function findJobIds({ text, open, after, limit }: JobSearch): Promise<number[]> {
  const words = wordsOf(text)
  if (words.length === 0) return []
  const wanted = condition(text, words)
  const shown: Query = {
    sql: [
      ...(open ? ['s.closed_at IS NULL'] : []),
      ...(after ? ['(s.updated_at < ? OR (s.updated_at = ? AND s.id < ?))'] : []),
      's.deleted_at IS NULL',
    ].join(' AND '),
    values: after ? [after.updatedAt, after.updatedAt, after.id] : [],
  }
  const order = 'ORDER BY updated_at DESC, id DESC LIMIT ?'
  const among = (source: Query): Promise<number[]> =>
    ids(
      `SELECT j.id FROM (${source.sql}) j LEFT JOIN machines m ON m.id = j.machine_id
       WHERE ${wanted.sql} ORDER BY j.updated_at DESC, j.id DESC LIMIT ?`,
      [...source.values, ...wanted.values, limit],
    )
  const columns = 's.id, s.title, s.machine_id, s.updated_at'
  for (const many of LOOKED_THROUGH) {
    const latest = await among({
      sql: `SELECT ${columns} FROM jobs s FORCE INDEX FOR ORDER BY (jobs_latest) WHERE ${shown.sql} ${order}`,
      values: [...shown.values, many],
    })
    if (latest.length >= limit) return latest
  }
  const indexed = words.filter((word) => word.length >= MIN_INDEXED && !STOP_WORDS.has(word.toLowerCase()))
  if (indexed.length === 0)
    return among({ sql: `SELECT ${columns} FROM jobs s WHERE ${shown.sql}`, values: shown.values })
  // The longest word alone: it is the rarest, and each further one costs a list of its own.
  const rarest = indexed.reduce((a, b) => (b.length > a.length ? b : a))
  const match = `+${rarest}*`
  return among({
    sql: `SELECT ${columns} FROM jobs s JOIN (
        SELECT id FROM jobs WHERE MATCH (title) AGAINST (? IN BOOLEAN MODE)
        UNION SELECT job_id FROM bearings WHERE MATCH (designation) AGAINST (? IN BOOLEAN MODE)
        UNION SELECT o.id FROM jobs o JOIN machines n ON n.id = o.machine_id WHERE MATCH (n.name) AGAINST (? IN BOOLEAN MODE)
        UNION SELECT ?) f ON f.id = s.id WHERE ${shown.sql}`,
    values: [match, match, match, /^\d{1,9}$/.test(text) ? Number(text) : 0, ...shown.values],
  })
}
