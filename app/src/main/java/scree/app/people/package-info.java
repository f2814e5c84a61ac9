/**
 * Who works in a studio, from the first one on: the way into an empty installation ({@link scree.app.people.FirstRun}), who is asked in and let go
 * ({@link scree.app.people.People}), and an artist's own account.
 */
package scree.app.people;
