/** What the light of a picture or a room allows: measures, three grades, reasons and what to do. Leans on colour and image. */
package scree.core.light;
