package dev.inlay.draft;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** What trying a draft over its own samples showed; a field is known by its data set, from 0. */
final class Corrections {

  private final Map<String, String> asText = new TreeMap<>();
  private final Set<String> zeros = new TreeSet<>();

  /**
   * Notes fields that are read as text, since a value of theirs is of no other type.
   *
   * @param reasons by the keys of the fields
   * @return whether any of them is new
   */
  boolean readAsText(Map<String, String> reasons) {
    int before = asText.size();
    reasons.forEach(asText::putIfAbsent);
    return asText.size() > before;
  }

  /** Notes a field of which nothing printed means 0. */
  void isZeroWhereBlank(int set, String field) {
    zeros.add(DraftTrial.key(set, field));
  }

  /** Why a field is read as text, where it is. */
  Optional<String> asText(int set, String field) {
    return Optional.ofNullable(asText.get(DraftTrial.key(set, field)));
  }

  boolean takesBlankForZero(int set, String field) {
    return zeros.contains(DraftTrial.key(set, field));
  }
}
