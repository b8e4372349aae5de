"""Enters, waits, and gets out again: python3 enter_and_exit.py ADDRESS [SECONDS]. The address is an inlet's, from its page in Wexon."""
import json, sys, time, urllib.request, uuid

address, seconds = sys.argv[1], float(sys.argv[2]) if len(sys.argv) > 2 else 60

def say(message):
    request = urllib.request.Request(address, json.dumps({"id": str(uuid.uuid4()), **message}).encode(), {"Content-Type": "application/json"})
    print(urllib.request.urlopen(request, timeout=5).read().decode())

say({"do": "enter", "side": "long", "symbol": "MARL/USD", "label": "python"})
time.sleep(seconds)
say({"do": "exit", "symbol": "MARL/USD", "label": "python"})
