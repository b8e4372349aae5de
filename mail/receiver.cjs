// Takes mails in over SMTP on loopback and hands the text of each to the application. "250" means: on disk.
const { simpleParser } = require('mailparser');
const { SMTPServer } = require('smtp-server');

const [, , port, takeAt] = process.argv;
const LARGEST = 262_144;
const PATIENCE = 15_000;

const refused = (code, words) => Object.assign(new Error(words), { responseCode: code });

/** What a reader would see of it: the plain part, or the HTML part as text with the addresses of its links. */
async function readable(raw) {
  const mail = await simpleParser(raw, { skipImageLinks: true, skipTextToHtml: true });
  const from = mail.from && mail.from.value[0] ? mail.from.value[0].address : '';
  return {
    from: from || '',
    subject: mail.subject || '',
    text: (mail.text || '').trim(),
    headers: {
      from: mail.from ? mail.from.text : '',
      subject: mail.subject || '',
      date: mail.date ? mail.date.toISOString() : '',
      'message-id': mail.messageId || '',
    },
  };
}

/** What the application's answer means to the sending mail server: 5xx is final, 4xx is tried again. */
async function handOver(raw, session) {
  const answer = await fetch(takeAt, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
    body: JSON.stringify({
      ...(await readable(raw)),
      recipients: session.envelope.rcptTo.map((recipient) => recipient.address),
      raw: raw.toString('base64'),
    }),
    signal: AbortSignal.timeout(PATIENCE),
  });
  if (answer.status === 202) return;
  const { message = '' } = await answer.json().catch(() => ({}));
  throw refused(answer.status >= 500 || answer.status === 429 ? 451 : 550, message || 'The mail could not be taken. Send it again later.');
}

const server = new SMTPServer({
  name: 'wexon',
  banner: 'Wexon takes alerts here',
  size: LARGEST,
  disabledCommands: ['AUTH', 'STARTTLS'],
  disableReverseLookup: true,
  maxClients: 50,
  socketTimeout: 60_000,
  onData(stream, session, done) {
    const pieces = [];
    stream.on('data', (piece) => stream.sizeExceeded || pieces.push(piece));
    stream.on('end', () => {
      if (stream.sizeExceeded) return done(refused(552, 'The mail is larger than 256 KiB.'));
      handOver(Buffer.concat(pieces), session)
        .then(() => done(null, 'stored'))
        .catch((trouble) => {
          console.error(new Date().toISOString(), trouble.message);
          done(trouble.responseCode ? trouble : refused(451, 'The mail could not be stored. Send it again later.'));
        });
    });
  },
});
server.on('error', (trouble) => console.error(new Date().toISOString(), trouble.message));
server.listen(Number(port), '127.0.0.1', () => console.log(new Date().toISOString(), `listening on ${port}`));
process.on('SIGTERM', () => server.close(() => process.exit(0)));
