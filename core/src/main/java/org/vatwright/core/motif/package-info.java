/** A drawn figure: its parts, their forms and free paths, arranging them, and what its outlines show. */
package org.vatwright.core.motif;
