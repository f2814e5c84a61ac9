/** What the client takes home: a sheet of their own face with the steps in plain words. Start at {@code TakeHomes}. */
package scree.app.handover;
