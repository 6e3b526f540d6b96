/** At which phones and laptops who is signed in, and what keeps everybody else out. */
package app.frenum.server.screen;
