// Makes the list of common passwords that a new one is compared with: node resources/passwords/passwords.cjs FILE
const { writeFileSync } = require('node:fs');
const { dictionary } = require('@zxcvbn-ts/language-common');

// Each between two line ends, so that a word is found whole.
const words = [...new Set(dictionary.passwords.map((word) => word.toLowerCase()))];
writeFileSync(process.argv[2], `\n${words.join('\n')}\n`);
