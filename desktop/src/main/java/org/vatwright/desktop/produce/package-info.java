/** Produce: jobs, what they will make, and their run. */
package org.vatwright.desktop.produce;
