/**
 * Cloth maps: from where a thing is seen to where it lies on the torus, and the one sampler that takes any of them. What is
 * shrunk is averaged in linear light before it is read, so that nothing far or small flickers.
 */
package org.vatwright.core.map;
