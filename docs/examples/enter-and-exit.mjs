// Enters, waits, and gets out again: node enter-and-exit.mjs ADDRESS [SECONDS]. The address is an inlet's, from its page in Wexon.
const [address, seconds = '60'] = process.argv.slice(2);
async function say(message) {
  const body = JSON.stringify({ id: crypto.randomUUID(), ...message });
  const answer = await fetch(address, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body, signal: AbortSignal.timeout(5000) });
  if (!answer.ok) throw new Error(`Not taken: ${await answer.text()}`);
}
await say({ do: 'enter', side: 'long', symbol: 'MARL/USD', label: 'javascript' });
await new Promise((resolve) => setTimeout(resolve, Number(seconds) * 1000));
await say({ do: 'exit', symbol: 'MARL/USD', label: 'javascript' });
