import { control, serve } from '../control.js'
import { device } from './server.js'

/** `main.js PORT run [kind]` runs the stand-in; `main.js PORT name=value …` tells the one that runs. */
const [port, ...words] = process.argv.slice(2)

if (words[0] === 'run') serve(device({ kind: words[1] ?? 'arthrometer' }), port, words[1] ?? 'arthrometer')
else await control(port, words, 'bin/device')
