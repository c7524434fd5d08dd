/**
 * Brings stored JSON from earlier forms to the present one. A step is never changed once its form was released: it works on JSON, knows no
 * class of the model, and has what it adds in resources of its own, so that later forms and a later office standard do not
 * touch it.
 */
@NullMarked
package org.leanlintel.formats.json.upgrade;

import org.jspecify.annotations.NullMarked;
