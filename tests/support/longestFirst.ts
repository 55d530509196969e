import { BaseSequencer, type TestSpecification } from 'vitest/node'

/** Files that take a minute; begun last, one core would wait for them. */
const LONG = /imulation|otherWorld/

/** The long files of tests first, so that two cores end at about the same time. */
export class LongestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const sorted = await super.sort(files)
    const long = ({ moduleId }: TestSpecification) => Number(LONG.test(moduleId))
    return sorted.toSorted((a, b) => long(b) - long(a))
  }
}
