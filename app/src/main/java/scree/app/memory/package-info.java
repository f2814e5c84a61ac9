/**
 * What is remembered longer than a request lasts. Start at {@link scree.app.memory.Memories}, the only maker. A memory is either
 * keyed by everything that its answer depends on, so that it can never be stale, or is asked against a version in the database;
 * so several processes may each have their own. Sizes, hits and losses are shown at the health port under
 * {@code metrics/cache.*}.
 */
package scree.app.memory;
