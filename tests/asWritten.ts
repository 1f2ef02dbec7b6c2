import { compileMessage } from '@lingui/message-utils/compileMessage'
import { compileWith } from '../src/words/i18n'

// Tests see each text as it stands in the code.
compileWith(compileMessage)
