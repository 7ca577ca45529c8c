/** Controls that all stages share. They show a value and hand on what a person makes of it. */
package org.vatwright.desktop.control;
