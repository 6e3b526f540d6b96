/** Ways in without a password: keys that a phone, a laptop or a stick keeps, one for each name that Frenum is reached by. */
package app.frenum.server.passkey;
