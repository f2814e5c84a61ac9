/**
 * What every page and form needs: the frame's model, tokens used once, plain numbers and days, calm pages for errors. Knows no stage.
 */
package scree.app.web;
