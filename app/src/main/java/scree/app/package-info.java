/**
 * The application: HTTP, pages, the database, one package a feature. A controller takes typed input, makes one call and returns a view; a
 * service owns the transaction; mappers stay in their package. Every call names the studio. Computes nothing of the craft.
 */
package scree.app;
