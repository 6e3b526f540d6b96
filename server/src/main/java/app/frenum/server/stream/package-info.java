/** What goes out to those who listen: never waited for by whoever has something to say. */
package app.frenum.server.stream;
