import { ref } from 'vue'
import { answerOf, api } from '@/api/client'
import { saveFile } from '@/shared/saveFile'
import { withPassword } from '@/shared/usePassword'
import { t } from '@/messages/people'

/** The athletes of the team as a table for a spreadsheet. */
export function useTableExport() {
  /** Empty while nothing is wrong. */
  const problem = ref('')

  /** Marked as UTF-8, so that a spreadsheet guesses at nothing; between cells stands what its language expects. */
  async function exportTable(separator: 'comma' | 'semicolon'): Promise<void> {
    problem.value = ''
    try {
      const params = { query: { separator } }
      const table = () => answerOf(api.GET('/api/athletes.csv', { params, parseAs: 'text' }))
      saveFile('athletes.csv', 'text/csv', await withPassword(table), true)
    } catch (error) {
      problem.value = error instanceof Error ? error.message : t('useTableExport.theListCouldNotBeExported')
    }
  }

  return { problem, exportTable }
}
