/**
 * Lengths, densities, angles, findings and seeded randomness: what every other package stands on. Lengths are in
 * millimetres, angles in degrees counter-clockwise as seen. Everything here is immutable or stateless.
 */
package org.vatwright.core.measure;
