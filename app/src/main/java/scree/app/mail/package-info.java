/**
 * Letters to clients: {@link scree.app.mail.Outbox} keeps them in the database until they are delivered, {@link scree.app.mail.Postman} carries
 * them by SMTP. A feature writes a {@link scree.app.mail.Draft}; what happened to it is asked of the outbox.
 */
package scree.app.mail;
