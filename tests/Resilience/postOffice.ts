import { type Server, type Socket, createServer } from 'node:net'

export const MAIL_PORT = '8168'

/** Takes mail as a mail server does, and can keep one waiting. */
export class PostOffice {
  readonly delivered: string[] = []
  isHolding = false
  private server: Server | null = null
  private holds = false
  private release: () => void = () => undefined

  open(): Promise<void> {
    this.server = createServer((socket) => this.serve(socket))
    return new Promise((ready) => this.server!.listen(Number(MAIL_PORT), '127.0.0.1', ready))
  }

  close(): Promise<void> {
    return new Promise((closed) => this.server?.close(() => closed()))
  }

  holdNext(): void {
    this.holds = true
  }

  letGo(): void {
    this.holds = false
    this.isHolding = false
    this.release()
  }

  private serve(socket: Socket): void {
    let text = ''
    let inMail = false
    const say = (line: string) => socket.writable && socket.write(`${line}\r\n`)
    socket.on('error', () => undefined)
    say('220 here')
    socket.on('data', (data) => {
      text += data.toString()
      if (inMail) {
        if (!text.includes('\r\n.\r\n')) return
        inMail = false
        const mail = text
        text = ''
        void this.take(socket, mail).then(() => say('250 taken'))
        return
      }
      while (text.includes('\r\n')) {
        const end = text.indexOf('\r\n')
        const line = text.slice(0, end)
        text = text.slice(end + 2)
        inMail = line === 'DATA'
        say(inMail ? '354 go on' : line === 'QUIT' ? '221 bye' : '250 yes')
      }
    })
  }

  private async take(socket: Socket, mail: string): Promise<void> {
    if (this.holds) {
      this.isHolding = true
      await new Promise<void>((go) => (this.release = go))
      // Its sender is dead by now: nothing was taken from it.
      if (!socket.writable || socket.destroyed) return
    }
    this.delivered.push(mail)
  }
}
