/** What real pictures have and studio portraits lack, with the truth: things worn, faces pulled, pictures spoilt. */
package scree.standins.variation;
