/** What other hours than those of the door are of, in the languages that hours are read in. */
export const OTHER_HOURS =
  /kitchen|food served|deliver|phone|hotline|happy hour|brunch|emergenc|pick-?up|visiting|check-?in|küche|liefer|telefon|notdienst|mittagstisch|abhol|cuisine|livraison|téléphone|urgence|cocina|reparto|teléfono|urgencia|cucina|consegn|telefon|keuken|bezorg|telefonisch|cozinha|entrega|kuchnia|dostaw|kök|leverans|køkken|kjøkken|levering|keittiö|kuchyn|rozvoz|κουζίνα|ラストオーダー|電話|出前/i;
