// Asks this device for a key, or for the answer of one. What it says is judged by the server.
'use strict';
(() => {
  const said = document.getElementById('passkey-said');
  const form = document.getElementById('passkey-form');
  const door = document.getElementById('passkey-in');
  if (!form && !door) return;
  const csrf = document.querySelector('meta[name=csrf]').dataset;
  const known = () => window.PublicKeyCredential && PublicKeyCredential.parseCreationOptionsFromJSON;

  const say = words => { said.textContent = words; said.hidden = !words; };

  const post = async (url, body) => {
    const answer = await fetch(url, {
      method: 'POST',
      headers: { [csrf.header]: csrf.token, 'Content-Type': 'application/json' },
      body: body ? JSON.stringify(body) : undefined
    });
    if (!answer.ok) throw new Error(String(answer.status));
    return answer.status === 204 ? null : answer.json();
  };

  if (form) {
    if (!known()) { say(form.dataset.unknown); document.getElementById('passkey-add').disabled = true; }
    form.addEventListener('submit', async event => {
      event.preventDefault();
      say('');
      try {
        const question = PublicKeyCredential.parseCreationOptionsFromJSON(await post('/account/passkeys/question'));
        const made = await navigator.credentials.create({ publicKey: question });
        const label = encodeURIComponent(document.getElementById('passkey-label').value);
        await post('/account/passkeys?label=' + label, made.toJSON());
        location.reload();
      } catch (refused) {
        say(form.dataset.refused);
      }
    });
  }

  if (door) {
    if (!known()) { door.hidden = true; return; }
    door.addEventListener('click', async () => {
      say('');
      try {
        const question = PublicKeyCredential.parseRequestOptionsFromJSON(await post('/sign-in/passkey/question'));
        const answer = await navigator.credentials.get({ publicKey: question });
        const led = await post('/sign-in/passkey', answer.toJSON());
        location.assign(led.redirectUrl || '/');
      } catch (refused) {
        say(door.dataset.refused);
      }
    });
  }
})();
