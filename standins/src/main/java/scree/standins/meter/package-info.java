/** A contact colour meter and a light meter behind a line protocol on TCP, docs/meter-protocol.md. Leans on core's colours only. */
package scree.standins.meter;
