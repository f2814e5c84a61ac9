/**
 * The made-up concert and the stand-ins that a Scree without devices works with. Start at {@code DemoLoader}; nothing outside depends on
 * this package, and it alone knows the stand-ins.
 */
package scree.app.demo;
