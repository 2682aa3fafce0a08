/** What is planned here as files to take away: notes, sound and documents, for teachers and for students. */
@org.jspecify.annotations.NullMarked
package pebblestep.app.takeaway;
