/** Pictures of stops, made anew from what was sent. */
package app.frenum.server.photo;
