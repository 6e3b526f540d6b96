/** How Frenum is reached from beside this machine: encrypted, with an owner, or not at all. */
package app.frenum.server.network;
