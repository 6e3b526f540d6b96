/** Core records as documents of a version, and the way from every version to the next. */
package app.frenum.server.document;
