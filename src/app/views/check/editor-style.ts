import { EditorView } from '@codemirror/view'

/** How the text and its marks look: each kind of mark has a line of its own, besides its colour. */
export const editorStyle = EditorView.theme({
  '&': { height: '100%', width: '100%', color: 'var(--ink)' },
  '&.cm-focused': { outline: '2px solid var(--focus, #1d6fb8)', outlineOffset: '-2px' },
  '.cm-scroller': { font: '14px/21px var(--font-text)', overflow: 'auto' },
  '.cm-content': { padding: '8px 0', caretColor: 'var(--ink)' },
  '.cm-line': { padding: '0 10px 0 6px' },
  '.cm-gutters': { border: 'none', background: '#f2f4f0', color: '#56635b' },
  '.cm-lineNumbers .cm-gutterElement': {
    minWidth: '26px',
    padding: '0 4px 0 6px',
    fontSize: '12px',
  },
  '.states': { width: '18px' },
  '.state': { display: 'block', textAlign: 'center', fontWeight: '700' },
  '.state.adds-up': { color: 'var(--good)' },
  '.state.wrong': { color: 'var(--error)' },
  '.state.not-understood': { color: '#6b4a00' },
  '.mark': { textUnderlineOffset: '3px', textDecorationThickness: '1.5px' },
  '.mark.error': { textDecoration: 'underline wavy 1.5px var(--error)', background: '#fbe6e1' },
  '.mark.warning': { textDecoration: 'underline wavy 1.5px var(--warning)' },
  '.mark.unknown': { textDecoration: 'underline dashed 1.5px #6b4a00', background: '#f7efd9' },
  '.cm-placeholder': { color: '#6a766e', whiteSpace: 'pre-wrap' },
  '.cm-tooltip': { border: '1px solid #b9c2bc', borderRadius: '6px', background: '#fff' },
  '.hint': { maxWidth: '360px', padding: '6px 10px', font: '13.5px/1.4 var(--font-text)' },
})
