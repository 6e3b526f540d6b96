/** Who there is, and what they may do. */
package app.frenum.server.account;
