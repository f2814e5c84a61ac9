/**
 * The mixing bench and a client's year on two shades. Start at {@link scree.app.mix.MixBench} and {@link scree.app.mix.Seasons}; recipes
 * are the core's.
 */
package scree.app.mix;
