/** Who did or said what is kept here. */
@NullMarked
package app.frenum.core.people;

import org.jspecify.annotations.NullMarked;
