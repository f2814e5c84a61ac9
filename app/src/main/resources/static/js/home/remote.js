/* The client's page: looks for the face on this phone, then sends the picture. */
(function () {
  "use strict";
  const form = document.getElementById("home-picture");
  const message = document.getElementById("message");
  if (!form) { return; }
  function say(text) { message.textContent = text; message.classList.add("shown"); }
  const patience = (ms) => new Promise((resolve) => setTimeout(() => resolve(null), ms));
  form.querySelector("input[type=file]").addEventListener("change", async (event) => {
    const file = event.target.files[0];
    if (!file) { return; }
    if (file.size > 25 * 1024 * 1024) { say(form.dataset.tooLarge); event.target.value = ""; return; }
    say(form.dataset.looking);
    const url = URL.createObjectURL(file);
    try {
      const image = new Image();
      image.src = url;
      await image.decode();
      form.elements.shown.value = image.naturalWidth;
      const guess = window.firstGuess ? await Promise.race([window.firstGuess(url), patience(40000)]) : null;
      if (guess) { form.elements.search.value = JSON.stringify(guess); }
    } catch (e) { /* the server says what is wrong with the file */ }
    form.submit();
  });
})();
