/** What rows of receipts are called elsewhere, by what they are called in English. Sources: the languages' own words, compiled by hand. */
export const receiptLabels: ReadonlyMap<string, string> = new Map(([
  ['receipt number', 'vorgangsnummer,belegnummer,quittungsnummer,eingangsnummer,bestätigungsnummer,número de recibo,número de registro,numéro de reçu,numéro du reçu,numéro d’accusé,numéro de dépôt,numero di ricevuta,numero ricevuta,numero di protocollo,ontvangstnummer,bevestigingsnummer,kvitteringsnummer,kvittonummer,回執編號,收據編號,回执编号,收据编号,受付番号,접수번호'],
  ['number', 'nummer,numéro,número,numero,編號,编号,番号,번호'],
  ['received', 'eingegangen am,eingang,eingereicht,eingereicht am,abgegeben,abgegeben am,recibido el,fecha,fecha de entrega,fecha de recepción,fecha y hora,date de réception,date et heure,date et heure de réception,data e ora,data di ricezione,data e hora,data de receção,data de recebimento,datum van ontvangst,eingangsdatum,eingangszeit,reçu le,déposé le,date de dépôt,ricevuto il,consegnato il,data di consegna,ontvangen op,ingeleverd,ingeleverd op,mottatt,mottaget,inlämnad,afleveret,提交時間,提交时间,收到時間,收到时间,提出日時,受付日時,제출 일시,제출일시,접수 일시,접수일시'],
  ['file', 'datei,dateiname,archivo,nombre del archivo,fichier,nom du fichier,documento,nome del file,bestand,bestandsnaam,fil,filnavn,filnamn,檔案,檔案名稱,文件名,文件,ファイル,ファイル名,파일,파일명'],
  ['size', 'größe,dateigröße,tamaño,taille,dimensione,dimensioni,grootte,bestandsgrootte,størrelse,storlek,檔案大小,大小,サイズ,크기'],
] as const).flatMap(([english, words]) => words.split(',').map((word): [string, string] => [word, english])));
