/** Who asks: told from the request in one place, and kept with everything that is changed. */
package app.frenum.server.who;
