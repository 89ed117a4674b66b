package dev.inlay.pdf;

import java.util.ArrayDeque;
import java.util.Deque;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentMembershipDictionary;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;

/**
 * Knows, while a page's description is followed, whether what is drawn lies on a layer that is
 * switched off. Layers nest: one switched off hides all that lies in it.
 */
final class LayerSwitches {

  private final PDOptionalContentProperties groups;
  private final Deque<Boolean> hidden = new ArrayDeque<>();
  private int hiding;

  /**
   * Begins a page.
   *
   * @param groups the document's layers, or null where it has none
   */
  LayerSwitches(PDOptionalContentProperties groups) {
    this.groups = groups;
  }

  /** Begins a stretch of the page; ended by {@link #end()}. */
  void begin(COSName tag, COSDictionary properties) {
    boolean hides =
        groups != null
            && properties != null
            && COSName.OC.equals(tag)
            && isOff(PDPropertyList.create(properties));
    hidden.push(hides);
    hiding += hides ? 1 : 0;
  }

  /** Ends the stretch begun last; nothing happens where none is open, as in broken files. */
  void end() {
    if (!hidden.isEmpty()) {
      hiding -= hidden.pop() ? 1 : 0;
    }
  }

  boolean isHidden() {
    return hiding > 0;
  }

  private boolean isOff(PDPropertyList layer) {
    if (layer instanceof PDOptionalContentGroup group) {
      return !groups.isGroupEnabled(group);
    }
    if (layer instanceof PDOptionalContentMembershipDictionary members) {
      return isOff(members);
    }
    return false;
  }

  /** The policies of ISO 32000-2, 8.11.2.2; without one, any layer that is on shows it. */
  private boolean isOff(PDOptionalContentMembershipDictionary members) {
    long all = members.getOCGs().size();
    long off = members.getOCGs().stream().filter(this::isOff).count();
    if (all == 0) {
      return false;
    }
    COSName policy = members.getVisibilityPolicy();
    if (COSName.ALL_ON.equals(policy)) {
      return off > 0;
    }
    if (COSName.ALL_OFF.equals(policy)) {
      return off < all;
    }
    return COSName.ANY_OFF.equals(policy) ? off == 0 : off == all;
  }
}
