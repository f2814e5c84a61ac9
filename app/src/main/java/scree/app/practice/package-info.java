/**
 * Made-up faces to practise on: everybody of the studio has them, and trainees nothing else. A face is a client that nobody's lists show, with
 * sittings like any other's; start at {@link scree.app.practice.Practice}. What is learned from real skin and products is not learned from these.
 */
package scree.app.practice;
