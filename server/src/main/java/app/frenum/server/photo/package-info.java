/** Pictures of stops and trials, made anew from what was sent. */
package app.frenum.server.photo;
