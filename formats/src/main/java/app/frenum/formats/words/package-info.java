/** Words findings for people, in their units: {@link app.frenum.formats.words.Wording}. Another language is another catalogue. */
package app.frenum.formats.words;
