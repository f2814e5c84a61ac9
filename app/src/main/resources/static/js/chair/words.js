/* Puts values into a sentence at {0}, {1}: all words come with the page. */
window.chairSay = (words, ...values) => values.reduce((text, v, i) => text.replace("{" + i + "}", v), words);
