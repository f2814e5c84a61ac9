/**
 * The record of a client, sitting by sitting, and their skin over the seasons. Start at {@code RecordController}.
 */
package scree.app.record;
