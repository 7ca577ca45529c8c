/** Build: the cell with its rules, rulers and handles; what it is worn on; the recipe of its layers. */
package org.vatwright.desktop.building;
