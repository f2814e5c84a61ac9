/** A mail server on loopback whose inbox can be looked into, and one on a bad day. Nothing leaves the machine. */
package scree.standins.mail;
