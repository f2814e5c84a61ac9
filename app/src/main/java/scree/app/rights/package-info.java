/**
 * Who may open what. Start at {@link scree.app.rights.Rights}, which stands before every page; to whom a page is open stands at the page, by
 * {@link scree.app.studio.OpenTo}. A test holds all pages and roles against a table.
 */
package scree.app.rights;
