/** Knows the students of a studio and their private practice links. */
package pebblestep.app.students;
