import 'server-only'
import { join } from 'node:path'

const FONTS = {
  text: 'next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
  bold: 'next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf',
  mono: 'mono/500Medium/AtkinsonHyperlegibleMono_500Medium.ttf',
} as const

/** Registers the fonts of the application; a page embeds only the marks it uses. */
export function registerFonts(doc: PDFKit.PDFDocument): void {
  for (const [name, file] of Object.entries(FONTS)) {
    doc.registerFont(
      name,
      join(process.cwd(), 'node_modules/@expo-google-fonts', `atkinson-hyperlegible-${file}`),
    )
  }
}
