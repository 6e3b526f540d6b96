/** How long raw samples are kept. */
package app.frenum.server.retention;
